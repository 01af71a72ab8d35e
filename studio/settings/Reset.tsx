import { RotateCcw } from 'lucide-react';
import { QuietButton } from '../ui/Button.tsx';

/** Takes back what is set here, so that what is inherited holds again. */
export function Reset({ what, onPress }: { what: string; onPress(): void }) {
  return (
    <QuietButton aria-label={`Reset ${what}`} onPress={onPress}>
      <RotateCcw size={13} aria-hidden />
    </QuietButton>
  );
}

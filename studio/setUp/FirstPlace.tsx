import { Navigate } from 'react-router';
import { Notice } from '../ui/Notice.tsx';
import { useSetUp } from './useSetUp.ts';

/** Where the studio opens: where a new store is set up, and where one that is open is arranged. */
export function FirstPlace() {
  const { is, error } = useSetUp();
  if (!is && !error) return <Notice>Opening this place…</Notice>;
  return <Navigate to={is && !is.facts.published ? '/set-up' : '/arrange'} replace />;
}

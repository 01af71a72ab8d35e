import {
  AtSign,
  Bell,
  BookOpen,
  Calendar,
  Camera,
  Clock,
  Download,
  Gift,
  Globe,
  Heart,
  Image,
  Link,
  Mail,
  Map,
  MapPin,
  MessageCircle,
  Music,
  Phone,
  Rss,
  Send,
  Share2,
  Star,
  Truck,
  Users,
  Video,
  type LucideIcon,
} from 'lucide-react';
import type { IconId } from '../../core/bays/iconIds.ts';

/** Each icon that is offered; one that is missing does not compile. */
const drawings: Readonly<Record<IconId, LucideIcon>> = {
  atSign: AtSign,
  bell: Bell,
  book: BookOpen,
  calendar: Calendar,
  camera: Camera,
  chat: MessageCircle,
  clock: Clock,
  download: Download,
  gift: Gift,
  globe: Globe,
  heart: Heart,
  link: Link,
  mail: Mail,
  map: Map,
  music: Music,
  people: Users,
  phone: Phone,
  photo: Image,
  pin: MapPin,
  rss: Rss,
  send: Send,
  share: Share2,
  star: Star,
  truck: Truck,
  video: Video,
};

/**
 * One of the icons that ship with the storefront; the words beside it say what it means.
 * @param px its size where no style sheet gives it one
 */
export function BayIcon({ icon, px = 24 }: { icon: IconId; px?: number }) {
  const Drawing = drawings[icon];
  return <Drawing aria-hidden="true" focusable="false" className="" size={px} />;
}

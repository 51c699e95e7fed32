import {
  Anchor,
  CalendarDays,
  Check,
  Clock,
  Compass,
  Heart,
  Leaf,
  MapPin,
  MessageCircle,
  Phone,
  ShieldCheck,
  Star,
} from 'lucide'
import { iconFrom, type IconData } from '../block/iconData'

const SIGNS: IconData[] = [
  iconFrom('check', Check),
  iconFrom('clock', Clock),
  iconFrom('heart', Heart),
  iconFrom('shield-check', ShieldCheck),
  iconFrom('map-pin', MapPin),
  iconFrom('star', Star),
  iconFrom('calendar-days', CalendarDays),
  iconFrom('message-circle', MessageCircle),
  iconFrom('compass', Compass),
  iconFrom('leaf', Leaf),
  iconFrom('phone', Phone),
  iconFrom('anchor', Anchor),
]

/** A sign for one of several things, in turns. */
export const signFor = (index: number): IconData => SIGNS[index % SIGNS.length]

import {
  Accessibility,
  Anchor,
  Armchair,
  Baby,
  Bike,
  CalendarDays,
  Check,
  Clock,
  Compass,
  CreditCard,
  Dog,
  Ear,
  Heart,
  Leaf,
  MapPin,
  MessageCircle,
  Phone,
  ShieldCheck,
  Ship,
  Star,
  Toilet,
  Truck,
  Users,
  Utensils,
  Waves,
  Wind,
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

/** Signs for what words speak of. */
const SPOKEN_OF: [words: RegExp, sign: IconData][] = [
  [/\b(bike|bicycle|cycl)/i, iconFrom('bike', Bike)],
  [/\b(dog|pet|animal)/i, iconFrom('dog', Dog)],
  [/\b(pram|baby|babies|toddler)/i, iconFrom('baby', Baby)],
  [/\b(ramp|wheelchair|step-free|access)/i, iconFrom('accessibility', Accessibility)],
  [/\b(seat|lounge|comfort)/i, iconFrom('armchair', Armchair)],
  [/\b(toilet|restroom|bathroom)/i, iconFrom('toilet', Toilet)],
  [/\b(hearing|listen|sound)/i, iconFrom('ear', Ear)],
  [/\b(tide|water|sea|swim)/i, iconFrom('waves', Waves)],
  [/\b(wind|weather|air)\b/i, iconFrom('wind', Wind)],
  [/\b(swell|boat|ship|ferry|ferries|sail)/i, iconFrom('ship', Ship)],
  [/\b(food|meal|kitchen|eat|lunch|dinner)/i, iconFrom('utensils', Utensils)],
  [/\b(deliver|freight|shipping|van|lorry)/i, iconFrom('truck', Truck)],
  [/\b(pay|price|cost|card)/i, iconFrom('credit-card', CreditCard)],
  [/\b(team|people|group|community|member)/i, iconFrom('users', Users)],
]

/** A sign for one of several things: what its words speak of, or else one in turns. */
export const signFor = (index: number, words = ''): IconData =>
  SPOKEN_OF.find(([spoken]) => spoken.test(words))?.[1] ?? SIGNS[index % SIGNS.length]

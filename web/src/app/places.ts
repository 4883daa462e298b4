import { IconBasket, IconCalendarTime, IconFlame, IconNotebook, IconSoup } from '@tabler/icons-react';

/** The places of the application, in the order of a baker's day. */
export const places = [
  { to: '/pies', word: 'Pies', Icon: IconSoup },
  { to: '/day', word: 'Bake day', Icon: IconCalendarTime },
  { to: '/oven', word: 'Oven', Icon: IconFlame },
  { to: '/log', word: 'Log', Icon: IconNotebook },
  { to: '/larder', word: 'Larder', Icon: IconBasket },
] as const;

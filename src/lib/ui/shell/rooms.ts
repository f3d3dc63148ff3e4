/** The rooms: the five on the way, left to right, and what stands beside it. Each has its key. */
export interface Room {
  readonly id: string;
  readonly name: string;
  readonly href: string;
  readonly key: string;
}

export const WAY: readonly Room[] = [
  { id: 'garden', name: 'Garden', href: '/garden', key: 'g' },
  { id: 'bench', name: 'Bench', href: '/bench', key: 'b' },
  { id: 'counter', name: 'Counter', href: '/counter', key: 'c' },
  { id: 'cold', name: 'Cold', href: '/cold', key: 'o' },
  { id: 'pantry', name: 'Pantry', href: '/pantry', key: 'p' }
];

export const BESIDE: readonly Room[] = [
  { id: 'today', name: 'Today', href: '/', key: 't' },
  { id: 'season', name: 'Season', href: '/season', key: 's' },
  { id: 'notebook', name: 'Notebook', href: '/notebook', key: 'n' },
  { id: 'kit', name: 'Kit', href: '/kit', key: 'k' }
];

/** Whether an address lies in a room. */
export const isIn = (room: Room, path: string): boolean =>
  room.href === '/' ? path === '/' : path === room.href || path.startsWith(`${room.href}/`);

/** A making fills the screen, and so does the first page: the way and all else is not in the way of wet or new hands. */
export const fillsScreen = (path: string): boolean => path.startsWith('/making/') || path === '/welcome';

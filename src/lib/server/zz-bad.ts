import { numbers } from '../ui/words';
export const bad = numbers;

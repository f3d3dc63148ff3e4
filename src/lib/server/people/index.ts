export { Keys, type Hand, type Pass, type Role } from './keys';
export { isCode } from './secrets';

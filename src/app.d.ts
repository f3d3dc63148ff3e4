import type { House } from '$lib/server/usecases';

declare global {
  namespace App {
    interface Locals {
      house: House;
      /** Who asks is not known, and must be. */
      shut: boolean;
      /** Who asks looks round in the demo's house. */
      round: boolean;
    }
    interface PageState {
      /** The sheet that lies over the room: Back takes it away. */
      sheet?: string;
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}

export {};

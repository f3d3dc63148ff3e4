import type { House } from '$lib/server/usecases';

declare global {
  namespace App {
    interface Locals {
      house: House;
      /** Who asks is not known, and must be. */
      shut: boolean;
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}

export {};

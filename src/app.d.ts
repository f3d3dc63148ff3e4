import type { House } from '$lib/server/usecases';

declare global {
  namespace App {
    interface Locals {
      house: House;
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}

export {};

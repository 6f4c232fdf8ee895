declare global {
  namespace App {
    interface Error {
      message: string;
      request?: string;
    }
    interface Locals {
      /** Names the request in answers and in the log. */
      request: string;
    }
  }
}

export {};

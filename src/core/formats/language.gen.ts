// Generated from schemas/language.schema.json by npm run gen. Do not edit.

/**
 * Every text of the application in English, and what it reads in another language. Moving parts are numbered, {0} and on; they may stand in another order.
 */
export interface Language {
  format: "warp-beam/language";
  version: 1;
  /**
   * Its tag, as de or pt-BR.
   */
  language: string;
  /**
   * By the English text; empty where it is not translated yet.
   */
  texts: {
    [k: string]: string;
  };
}

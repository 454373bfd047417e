// Generated from schemas/class.schema.json by npm run gen. Do not edit.

/**
 * A class that ties together: who, in which size, which design, how many spare kits; and what came of it. Lengths in mm.
 */
export interface ClassOfKits {
  format: "warp-beam/class";
  version: 1;
  name: string;
  day?: string;
  /**
   * @minItems 1
   * @maxItems 6
   */
  designs: {
    design: string;
    name: string;
  }[];
  /**
   * @maxItems 200
   */
  pupils: {
    name: string;
    girthMm?: number;
    age?: number;
    isLeftHanded?: boolean;
    /**
     * Id of the design chosen; missing for the first.
     */
    design?: string;
    result?: {
      isDone: boolean;
      minutes?: number;
      leftMm?: number;
      fit?: "tight" | "right" | "loose";
    };
  }[];
  spares: number;
  /**
   * Adults who do the flame; missing for two.
   */
  adults?: number;
  spareGirthMm?: number;
  isCut?: boolean;
}

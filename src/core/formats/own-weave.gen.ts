// Generated from schemas/own-weave.schema.json by npm run gen. Do not edit.

/**
 * A weave of the maker's own as the browser keeps it, pulled tight. Lengths in effective cord diameters.
 */
export interface OwnWeave {
  id: string;
  name: string;
  updatedAt: number;
  solved: {
    id: string;
    kind: "weave" | "knot" | "open";
    notation: string;
    key: string;
    squash: number;
    load: number;
    h: number;
    periodD: number;
    rowsPerPeriod: number;
    turn?: number;
    widthD: number;
    thicknessD: number;
    bodyD: number;
    girthD?: number;
    /**
     * @minItems 1
     * @maxItems 60
     */
    strands: {
      name: string;
      role: "core" | "work" | "spine";
      periods: number;
      radiusD: number;
      lengthD: number;
      /**
       * @maxItems 2000
       */
      backs?: {
        yD: number;
        arcD: number;
        zD: number;
      }[];
      spanD?: number;
    }[];
    convergence: {
      residual: number;
      periodForce: number;
      overlap: number;
      leastEver: number;
      restart?: number;
    };
    ropelength?: number;
    invariant: number;
    /**
     * @minItems 1
     * @maxItems 60
     */
    points: number[][];
    /**
     * @minItems 1
     * @maxItems 60
     */
    flat?: number[][];
  };
}

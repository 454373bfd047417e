// Generated from schemas/backup.schema.json by npm run gen. Do not edit.

/**
 * What is in a backup: one file of records for each kind, with its size and checksum.
 */
export interface BackupManifest {
  format: "warp-beam/backup";
  version: 1;
  /**
   * Milliseconds since 1970.
   */
  madeAt: number;
  /**
   * @maxItems 30
   */
  files: {
    name: string;
    records: number;
    bytes: number;
    /**
     * CRC-32 as in ZIP, of the file's bytes.
     */
    crc32: string;
  }[];
}

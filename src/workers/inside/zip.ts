import { zipSync } from 'fflate';

/** ZIP knows no dates before 1980, and a clock may be wrong: when it was made is told inside. */
const ZIP_DATE = '1980-01-02';

/** Files by their names as one ZIP. */
export const zipped = (files: Readonly<Record<string, Uint8Array>>): Uint8Array =>
  zipSync(files, { level: 6, mtime: ZIP_DATE });

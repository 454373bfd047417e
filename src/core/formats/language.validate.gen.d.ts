import type { ErrorObject } from '../validation.ts';

declare const validate: ((data: unknown) => boolean) & { errors?: ErrorObject[] | null };
export default validate;

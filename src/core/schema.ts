import * as z from 'zod/mini';

/** A number from the least to the most, both allowed. */
export const numberIn = (least: number, most: number) =>
  z.number().check(z.minimum(least), z.maximum(most));

/** A whole number from the least to the most, both allowed. */
export const wholeIn = (least: number, most: number) =>
  z.int().check(z.minimum(least), z.maximum(most));

/** A text of so many signs at most; it may be empty. */
export const textTo = (most: number) => z.string().check(z.maxLength(most));

/** A list of so many at most; it may be empty. */
export const listTo = <S extends z.core.$ZodType>(of: S, most: number) =>
  z.array(of).check(z.maxLength(most));

/** A list of the least to the most, both allowed. */
export const listIn = <S extends z.core.$ZodType>(of: S, least: number, most: number) =>
  z.array(of).check(z.minLength(least), z.maxLength(most));

/** What is taken where nothing stands. */
export const withDefault = z._default;

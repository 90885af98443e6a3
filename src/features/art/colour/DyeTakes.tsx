'use client';

/** Leaves only the share of a dye that the cloth takes: what is cotton stays as it is, in linear light. */
export function DyeTakes({ id, takes }: { id: string; takes: number }) {
  if (takes >= 1) return null;
  const rest = { type: 'linear', slope: takes, intercept: 1 - takes } as const;
  return (
    <filter id={id} x="0" y="0" width="100%" height="100%" colorInterpolationFilters="linearRGB">
      <feComponentTransfer>
        <feFuncR {...rest} />
        <feFuncG {...rest} />
        <feFuncB {...rest} />
      </feComponentTransfer>
    </filter>
  );
}

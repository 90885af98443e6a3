import '@fontsource-variable/bricolage-grotesque/index.css';
import '@fontsource/atkinson-hyperlegible/400.css';
import '@fontsource/atkinson-hyperlegible/700.css';
import '@fontsource/dm-mono/400.css';
import '@fontsource/dm-mono/500.css';
import type { Metadata } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { AppShell } from '@/ui/AppShell';

export const metadata: Metadata = {
  title: 'Lucky Sheet',
  description:
    'From blank to record: size, mirror, print and press heat transfers without spoiling a blank.',
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en">
      <body>
        <AppShell nonce={nonce}>{children}</AppShell>
      </body>
    </html>
  );
}

'use client';

import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import type { ReactNode } from 'react';
import { MissingPart } from './MissingPart';
import { NewerVersion } from './NewerVersion';
import { NonceContext } from './nonce';
import { NotifyProvider } from './notify';
import { theme } from './theme';
import { UnitsProvider } from './units';

/** Theme, styles under the page's nonce, and messages; wraps every screen. */
export function AppShell({ nonce, children }: { nonce: string | undefined; children: ReactNode }) {
  return (
    <AppRouterCacheProvider options={{ key: 'ls', ...(nonce ? { nonce } : {}) }}>
      <NonceContext value={nonce}>
        <ThemeProvider theme={theme}>
          <CssBaseline />
          <UnitsProvider>
            <NotifyProvider>
              {children}
              <MissingPart />
            </NotifyProvider>
            <NewerVersion />
          </UnitsProvider>
        </ThemeProvider>
      </NonceContext>
    </AppRouterCacheProvider>
  );
}

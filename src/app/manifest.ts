import type { MetadataRoute } from 'next';

/** What a browser needs to put the app beside the others on a phone or desk. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Lucky Sheet',
    short_name: 'Lucky Sheet',
    description: 'From blank to record: heat transfers without a spoiled blank.',
    start_url: '/own',
    scope: '/',
    display: 'standalone',
    background_color: '#FBF8F2',
    theme_color: '#1F6F4A',
    icons: [
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
      { src: '/icons/192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icons/512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icons/512-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}

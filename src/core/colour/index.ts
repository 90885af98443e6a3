export * from './luminance';

'use client';

export { ScreenError as default } from '@/ui/ScreenError';

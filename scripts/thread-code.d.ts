import type { Plugin as EsbuildPlugin } from 'esbuild';
import type { Plugin } from 'vite';

export function threadCode(path: string): string;
export const threadPlugin: Plugin;
export const threadLoader: EsbuildPlugin;

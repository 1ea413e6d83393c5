import { defineConfig } from 'vitest/config';

/**
 * The scripts are tested alone: without the build's plugins, one of which refuses to
 * serve wherever the variable CI is set.
 */
export default defineConfig({ root: import.meta.dirname });

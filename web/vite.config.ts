import react from '@vitejs/plugin-react';
import license from 'rollup-plugin-license';
import { defineConfig } from 'vite';
import bemble from './package.json' with { type: 'json' };

export default defineConfig({
  define: { __BEMBLE_VERSION__: JSON.stringify(bemble.version) },
  plugins: [
    react(),
    // Every script that ships, with the text of its licence.
    license({ thirdParty: { output: 'target/classes/static/licences/scripts.txt' } }),
  ],
  build: {
    outDir: 'target/classes/static',
    emptyOutDir: true,
    chunkSizeWarningLimit: 1000,
    rolldownOptions: {
      // The children's page fetches nothing of the teacher's program.
      input: ['index.html', 'in.html'],
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8417' } },
});

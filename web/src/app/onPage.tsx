import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import '@fontsource/andika/latin-400.css';
import '@fontsource/andika/latin-700.css';
import '@fontsource/andika/latin-ext-400.css';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import './fonts.css';
import './ground.css';
import { FreshClient } from './freshClient';
import { inkSheet } from './ink';

/** Puts a program on its page: the teacher's, or that of the children. */
export function putOnPage(program: ReactNode) {
  const queries = new FreshClient({
    defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false, staleTime: 60_000 } },
  });
  const root = document.getElementById('root');
  if (root) {
    createRoot(root).render(
      <StrictMode>
        <style>{inkSheet}</style>
        <QueryClientProvider client={queries}>{program}</QueryClientProvider>
      </StrictMode>,
    );
  }
}

import '@fontsource-variable/fraunces/full.css';
import '@fontsource/atkinson-hyperlegible/400.css';
import '@fontsource/atkinson-hyperlegible/700.css';
import '@mantine/core/styles.css';
import './app/global.css';
import { MantineProvider } from '@mantine/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import {
  LazyBenchPlace,
  LazyDayPlace,
  LazyLarderPlace,
  LazyLogPlace,
  LazyOvenPlace,
  LazyPiesPlace,
} from './app/fetchPlaces.js';
import { Shell } from './app/Shell.js';
import { theme } from './app/theme.js';

const queries = new QueryClient({
  defaultOptions: {
    // Asked at once and answered at once, network or not: nothing waits in silence and goes off later.
    queries: { retry: 1, staleTime: 1000, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
});

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { index: true, element: <Navigate to="/pies" replace /> },
      { path: 'pies', element: <LazyPiesPlace /> },
      { path: 'pies/:pieId', element: <LazyBenchPlace /> },
      { path: 'day', element: <LazyDayPlace /> },
      { path: 'oven', element: <LazyOvenPlace /> },
      { path: 'log', element: <LazyLogPlace /> },
      { path: 'log/:bakeId', element: <LazyLogPlace /> },
      { path: 'larder', element: <LazyLarderPlace /> },
      { path: '*', element: <Navigate to="/pies" replace /> },
    ],
  },
]);

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <MantineProvider theme={theme} defaultColorScheme="light">
        <QueryClientProvider client={queries}>
          <RouterProvider router={router} />
        </QueryClientProvider>
      </MantineProvider>
    </StrictMode>,
  );
}

/** Kept files serve a page that is loaded again while the server is away. */
const KEPT_FILES = '/sw.js';

if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  // The first view goes first.
  window.addEventListener('load', () => {
    navigator.serviceWorker.register(KEPT_FILES).catch(() => undefined);
  });
}

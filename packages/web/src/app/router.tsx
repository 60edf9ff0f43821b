import { createBrowserRouter, Navigate, useRouteError } from 'react-router';
import { OccasionsPage } from '../features/occasions/OccasionsPage.tsx';

function Lost() {
  const error = useRouteError() as { status?: number; message?: string } | undefined;
  return (
    <main className="page">
      <h1>{error?.status === 404 ? 'Nothing is served here' : 'This page fell over'}</h1>
      <p className="soft">
        {error?.status === 404 ? 'The address leads to no page.' : `What you saved is safe. ${error?.message ?? ''}`}
      </p>
      <p>
        <a href="/">All occasions</a>
      </p>
    </main>
  );
}

// Each station is its own piece of the download: the first screen waits for none of them.
export const router = createBrowserRouter([
  { path: '/', element: <OccasionsPage />, errorElement: <Lost /> },
  {
    path: '/o/:id',
    errorElement: <Lost />,
    HydrateFallback: () => null,
    lazy: async () => ({ Component: (await import('../features/occasions/OccasionShell.tsx')).OccasionShell }),
    children: [
      { index: true, element: <Navigate to="guests" replace /> },
      {
        path: 'guests',
        lazy: async () => ({ Component: (await import('../features/guests/GuestsPage.tsx')).GuestsPage }),
      },
      { path: 'menu', lazy: async () => ({ Component: (await import('../features/menu/MenuPage.tsx')).MenuPage }) },
      {
        path: 'labels',
        lazy: async () => ({ Component: (await import('../features/labels/LabelsPage.tsx')).LabelsPage }),
      },
      {
        path: 'amounts',
        lazy: async () => ({ Component: (await import('../features/amounts/AmountsPage.tsx')).AmountsPage }),
      },
      {
        path: 'shopping',
        lazy: async () => ({ Component: (await import('../features/shopping/ShoppingPage.tsx')).ShoppingPage }),
      },
      {
        path: 'timetable',
        lazy: async () => ({ Component: (await import('../features/timetable/TimetablePage.tsx')).TimetablePage }),
      },
      { path: 'table', lazy: async () => ({ Component: (await import('../features/table/TablePage.tsx')).TablePage }) },
      { path: 'after', lazy: async () => ({ Component: (await import('../features/after/AfterPage.tsx')).AfterPage }) },
      { path: 'cook', lazy: async () => ({ Component: (await import('../features/cook/CookPage.tsx')).CookPage }) },
    ],
  },
  {
    path: '/join',
    errorElement: <Lost />,
    HydrateFallback: () => null,
    lazy: async () => ({ Component: (await import('../features/sharing/JoinPage.tsx')).JoinPage }),
  },
  {
    path: '/bench',
    errorElement: <Lost />,
    HydrateFallback: () => null,
    lazy: async () => ({ Component: (await import('../features/sharing/JoinedBench.tsx')).JoinedBench }),
  },
  {
    path: '/recipes',
    errorElement: <Lost />,
    HydrateFallback: () => null,
    lazy: async () => ({ Component: (await import('../features/recipes/LibraryPage.tsx')).LibraryPage }),
  },
  {
    path: '/swaps',
    errorElement: <Lost />,
    HydrateFallback: () => null,
    lazy: async () => ({ Component: (await import('../features/recipes/SwapsPage.tsx')).SwapsPage }),
  },
  {
    path: '/recipes/:id',
    errorElement: <Lost />,
    HydrateFallback: () => null,
    lazy: async () => ({ Component: (await import('../features/recipes/RecipePage.tsx')).RecipePage }),
  },
  { path: '*', element: <Lost /> },
]);

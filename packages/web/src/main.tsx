import '@fontsource-variable/fraunces';
import '@fontsource-variable/atkinson-hyperlegible-next';
import './app/styles.css';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { router } from './app/router.tsx';
import { store } from './app/store.ts';
import { Themed } from './app/Themed.tsx';

createRoot(document.getElementById('root')!).render(
  <Provider store={store}>
    <Themed>
      <RouterProvider router={router} />
    </Themed>
  </Provider>,
);

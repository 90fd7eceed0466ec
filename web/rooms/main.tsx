import './nonce';
import '../style.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Account } from './account/Account';
import { SetPassword } from './account/SetPassword';
import { BrokenPage } from './BrokenPage';
import { BroughtIn } from './brought-in/BroughtIn';
import { Classes } from './classes/Classes';
import { Edit } from './edit/Edit';
import { Home } from './home/Home';
import { LessonRoom } from './lesson/LessonRoom';
import { Plan } from './plan/Plan';
import { Record } from './record/Record';
import { Replies } from './replies/Replies';
import { Share } from './share/Share';
import { SignedIn } from './sign-in/SignedIn';
import { SignIn } from './sign-in/SignIn';
import { Storyboard } from './storyboard/Storyboard';

const router = createBrowserRouter([
  { path: '/sign-in', element: <SignIn />, errorElement: <BrokenPage /> },
  { path: '/set-password/:token', element: <SetPassword />, errorElement: <BrokenPage /> },
  {
    element: <SignedIn />,
    errorElement: <BrokenPage />,
    children: [
      { path: '/', element: <Home /> },
      { path: '/classes', element: <Classes /> },
      { path: '/account', element: <Account /> },
      {
        path: '/lesson/:lesson',
        element: <LessonRoom />,
        children: [
          { path: 'brought-in', element: <BroughtIn /> },
          { path: 'plan', element: <Plan /> },
          { path: 'storyboard', element: <Storyboard /> },
          { path: 'record', element: <Record /> },
          { path: 'edit', element: <Edit /> },
          { path: 'share', element: <Share /> },
          { path: 'replies', element: <Replies /> },
        ],
      },
    ],
  },
]);

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false, staleTime: 5000 } },
});

createRoot(document.getElementById('app') as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);

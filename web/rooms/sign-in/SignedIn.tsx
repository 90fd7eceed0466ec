import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Navigate, Outlet } from 'react-router';
import type { Teacher } from '../../answers.types';
import { clipOutbox } from '../../blocks/clip/outbox';
import { ask } from '../../request';
import { filmOutbox } from '../record/filmOutbox';
import { outbox } from '../record/outbox';

export function useTeacher() {
  return useQuery({ queryKey: ['me'], queryFn: () => ask<Teacher>('GET', '/api/me'), retry: false, staleTime: 60_000 });
}

export function SignedIn() {
  const teacher = useTeacher();
  useEffect(() => {
    if (!teacher.isSuccess) return;
    void outbox.work();
    void clipOutbox.work();
    void filmOutbox.work();
  }, [teacher.isSuccess]);
  if (teacher.isPending) return null;
  return teacher.isError ? <Navigate to="/sign-in" replace /> : <Outlet />;
}

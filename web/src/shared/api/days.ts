import type { DayListResponse, DayNow, DayResponse, KeepDayRequest, TickRequest } from '@mardle/contract';
import { useQuery } from '@tanstack/react-query';
import { ask } from './client.js';

const DAYS = ['days'] as const;

/** The days that the kitchen's screens share. */
export const useSharedDays = (wanted: boolean) =>
  useQuery({ queryKey: DAYS, queryFn: () => ask<DayListResponse>('/days'), enabled: wanted });

export const sharedDay = (id: string): Promise<DayResponse> => ask(`/days/${id}`);
export const dayNow = (id: string): Promise<DayNow> => ask(`/days/${id}/now`);
export const keepDay = (id: string, body: KeepDayRequest): Promise<DayNow> =>
  ask(`/days/${id}`, { method: 'PUT', body });
export const sendTicks = (id: string, ticks: readonly TickRequest[]): Promise<DayNow> =>
  ask(`/days/${id}/ticks`, { method: 'POST', body: { ticks } });

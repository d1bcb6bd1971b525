import { getContext, setContext } from 'svelte';
import type { Board } from './board.svelte';

const KEY = Symbol('board');

export const provideBoard = (board: Board): void => void setContext(KEY, board);
export const useBoard = (): Board => getContext<Board>(KEY);

import type { ChildProcess } from 'node:child_process';

export const BASE_PATH: string;
export const CHROMIUM: string;
export const CHROMEDRIVER: string;
export const REDIS_SERVER: string;
function run(command: string, args: readonly string[], env?: Record<string, string>): boolean;
function installPackages(): void;
export function installBrowser(): void;
function installRedis(): void;
export function build(): void;
function portProblem(port: number): Promise<string | undefined>;
export function freePort(): Promise<number>;
export function startServer(port: number, firstStart: 'demo' | 'empty'): Promise<ChildProcess>;

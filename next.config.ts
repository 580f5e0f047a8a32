import type { NextConfig } from 'next';

/** On every answer; the content policy, with its nonce, is the proxy's. */
const HEADERS = [
  { key: 'x-content-type-options', value: 'nosniff' },
  { key: 'x-frame-options', value: 'DENY' },
  { key: 'referrer-policy', value: 'no-referrer' },
  { key: 'cross-origin-opener-policy', value: 'same-origin' },
  { key: 'cross-origin-resource-policy', value: 'same-origin' },
  { key: 'permissions-policy', value: 'camera=(), microphone=(), geolocation=(), payment=(), usb=()' },
];

const config: NextConfig = {
  agentRules: false,
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  headers: () => Promise.resolve([{ source: '/:path*', headers: HEADERS }]),
};

export default config;

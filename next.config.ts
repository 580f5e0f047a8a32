import type { NextConfig } from 'next';

const config: NextConfig = {
  agentRules: false,
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
};

export default config;

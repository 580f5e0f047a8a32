# syntax=docker/dockerfile:1
# Rontel in a container: docker build -t rontel . && docker run -p 3000:3000 rontel
# For an address of its own below a host: --build-arg RONTEL_BASE_PATH=/rontel

FROM node:20-bookworm-slim AS build
WORKDIR /app
ENV NEXT_TELEMETRY_DISABLED=1
COPY package.json package-lock.json ./
COPY scripts/no-sharp scripts/no-sharp
RUN npm ci --no-audit --no-fund
COPY . .
ARG RONTEL_BASE_PATH=
ENV RONTEL_BASE_PATH=$RONTEL_BASE_PATH
RUN npm run build

FROM node:20-bookworm-slim AS app
WORKDIR /app
ENV NODE_ENV=production
ENV PORT=3000
COPY --from=build --chown=node:node /app/.next/standalone ./
USER node
EXPOSE 3000
HEALTHCHECK --interval=30s --timeout=5s --start-period=20s CMD ["node", "healthy.mjs"]
CMD ["node", "serve.mjs"]

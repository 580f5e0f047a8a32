import { AntdRegistry } from '@ant-design/nextjs-registry';
import type { ReactNode } from 'react';
import { Parts } from './parts';

/** What the app's first load is measured against: framework and component library, and nothing of ours. */
export default function BareLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body>
        <AntdRegistry>
          <Parts>{children}</Parts>
        </AntdRegistry>
      </body>
    </html>
  );
}

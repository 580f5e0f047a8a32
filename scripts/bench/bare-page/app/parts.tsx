'use client';

import { App, Button, Checkbox, ConfigProvider, Drawer, Dropdown, Input, Modal, Radio, Segmented, Select } from 'antd';
import type { ReactNode } from 'react';

/** One each of the library's parts that stand on the app's first page, the bench above it included. */
export function Parts({ children }: { children: ReactNode }) {
  return (
    <ConfigProvider>
      <App>
        <Button>a</Button>
        <Input aria-label="b" />
        <Select aria-label="c" options={[{ value: 1, label: 'one' }]} />
        <Segmented options={['d', 'e']} />
        <Radio.Group options={['f', 'g']} />
        <Checkbox>h</Checkbox>
        <Dropdown menu={{ items: [{ key: 'i', label: 'i' }] }}>
          <Button>i</Button>
        </Dropdown>
        <Modal open={false} />
        <Drawer open={false} />
        {children}
      </App>
    </ConfigProvider>
  );
}

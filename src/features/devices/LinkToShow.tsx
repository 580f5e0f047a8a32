'use client';

import { Input } from 'antd';
import { CodePicture } from './CodePicture';
import styles from './Devices.module.css';

interface LinkToShowProps {
  readonly link: string;
  readonly label: string;
  readonly children: React.ReactNode;
}

/** A link for another device: as a code to scan, and as text to copy. */
export function LinkToShow({ link, label, children }: LinkToShowProps) {
  return (
    <div className={styles.show} data-testid="code">
      <CodePicture text={link} />
      <div>
        {children}
        <label className={styles.label}>
          {label}
          <Input.TextArea
            readOnly
            autoSize={{ minRows: 2, maxRows: 5 }}
            value={link}
            data-testid="link"
            onFocus={({ target }) => target.select()}
          />
        </label>
      </div>
    </div>
  );
}

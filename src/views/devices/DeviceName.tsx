import { Input } from 'antd';
import { useId } from 'react';
import { t } from '../../features/devices/text';
import { NAME_LENGTH_MAX } from '../../records';
import styles from './DevicesView.module.css';

/** What a device is called before its owner calls it something: by the width of its screen. */
export const defaultName = () => (window.innerWidth < 700 ? t('pair.phone') : t('pair.desktop'));

interface DeviceNameProps {
  readonly value: string;
  readonly onChange: (name: string) => void;
  readonly onBlur?: () => void;
}

/** The name by which others know this device. */
export function DeviceName({ value, onChange, onBlur }: DeviceNameProps) {
  const id = useId();
  return (
    <div className={styles.name}>
      <label className={styles.label} htmlFor={id}>
        {t('pair.name')}
      </label>
      <Input
        id={id}
        value={value}
        maxLength={NAME_LENGTH_MAX}
        onChange={({ target }) => onChange(target.value)}
        {...(onBlur && { onBlur, onPressEnter: onBlur })}
      />
    </div>
  );
}

import { type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes, useId } from 'react';

const control =
  'block w-full min-h-11 bg-transparent border-0 border-b-2 border-husk px-1 py-2 text-[1.05rem] aria-invalid:border-danger';

interface FrameProps {
  readonly label: string;
  readonly hint?: ReactNode;
  readonly error?: string | undefined;
}

interface TextFieldProps extends FrameProps, InputHTMLAttributes<HTMLInputElement> {
  readonly unit?: string;
  readonly ref?: React.Ref<HTMLInputElement>;
}

/** A line of text with its label, its unit, a hint, and the error beside it. */
export function TextField({ label, hint, error, unit, ...input }: TextFieldProps) {
  const id = useId();
  return (
    <Frame id={id} label={label} hint={hint} error={error}>
      <span className="flex items-baseline gap-2">
        <input
          id={id}
          className={control}
          aria-invalid={error ? true : undefined}
          aria-describedby={`${id}-more`}
          {...input}
        />
        {unit && <span className="text-husk">{unit}</span>}
      </span>
    </Frame>
  );
}

interface SelectFieldProps extends FrameProps, SelectHTMLAttributes<HTMLSelectElement> {
  readonly ref?: React.Ref<HTMLSelectElement>;
}

/** A choice from a list, with its label and the error beside it. */
export function SelectField({ label, hint, error, children, ...select }: SelectFieldProps) {
  const id = useId();
  return (
    <Frame id={id} label={label} hint={hint} error={error}>
      <select
        id={id}
        className={control}
        aria-invalid={error ? true : undefined}
        aria-describedby={`${id}-more`}
        {...select}
      >
        {children}
      </select>
    </Frame>
  );
}

function Frame({
  id,
  label,
  hint,
  error,
  children,
}: FrameProps & { readonly id: string; readonly children: ReactNode }) {
  return (
    <div>
      <label htmlFor={id} className="text-husk block text-[0.95rem]">
        {label}
      </label>
      {children}
      <p
        id={`${id}-more`}
        className={error ? 'text-danger mt-1 text-[0.95rem]' : 'text-husk mt-1 text-[0.95rem]'}
        role={error ? 'alert' : undefined}
      >
        {error ?? hint}
      </p>
    </div>
  );
}

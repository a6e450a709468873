import type { ButtonHTMLAttributes } from 'react';

const variants = {
  /** The one thing to do next. */
  next: 'bg-bill text-on-bill font-bold',
  plain: 'border-2 border-ink font-bold hover:bg-sunk',
  quiet: 'font-bold underline decoration-line decoration-2 underline-offset-4 hover:decoration-ink',
  danger: 'border-2 border-danger text-danger font-bold hover:bg-sunk',
} as const;

const sizes = {
  usual: 'min-h-11 rounded-xl px-5 py-2',
  large: 'min-h-16 rounded-2xl px-7 py-3 text-xl',
} as const;

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly variant?: keyof typeof variants;
  readonly size?: keyof typeof sizes;
}

/** A button; `type="button"` unless said otherwise, so that none sends a form by accident. */
export function Button({ variant = 'plain', size = 'usual', className = '', ...rest }: ButtonProps) {
  return <button type="button" className={`${variants[variant]} ${sizes[size]} ${className}`} {...rest} />;
}

interface LinkButtonProps {
  readonly href: string;
  readonly variant?: keyof typeof variants;
  readonly size?: keyof typeof sizes;
  readonly children: React.ReactNode;
}

/** A link that looks like a button. */
export function LinkButton({ href, variant = 'plain', size = 'usual', children }: LinkButtonProps) {
  return (
    <a href={href} className={`inline-flex items-center ${variants[variant]} ${sizes[size]}`}>
      {children}
    </a>
  );
}

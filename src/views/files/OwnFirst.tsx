interface OwnFirstProps {
  /** What is wanting. */
  readonly beans: boolean;
  readonly gear: boolean;
}

/** What has to be one's own before somebody else's roast can be kept: something to roast it with. */
export function OwnFirst({ beans, gear }: OwnFirstProps) {
  return (
    <p>
      Look at it here. To keep any of it as a recipe of theirs, it needs something of yours to be roasted with: add{' '}
      {beans && <Add href="/larder/">beans</Add>}
      {beans && gear && ' and '}
      {gear && <Add href="/gear/">gear</Add>} first, then open the file again.
    </p>
  );
}

function Add({ href, children }: { readonly href: string; readonly children: string }) {
  return (
    <a className="underline underline-offset-4" href={href}>
      {children}
    </a>
  );
}

/** The steps by which a phone or tablet trusts this computer, as one page that needs nothing else. */
export function trustPage(address: string, code: string): string {
  return `<!doctype html>
<html lang="en-GB">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Gander in this house</title>
<style>
  body { font: 18px/1.5 system-ui, sans-serif; color: #24180f; background: #f8f3e7; max-width: 38rem; margin: 0 auto; padding: 1.5rem; }
  h1 { line-height: 1.15; } h2 { margin: 1.8rem 0 .3rem; } li { margin: .3rem 0; }
  a.do { display: inline-block; background: #24180f; color: #f8f3e7; padding: .8rem 1.3rem; border-radius: .8rem; font-weight: 700; text-decoration: none; }
  .code { width: 11rem; } .code svg { width: 100%; height: auto; }
</style>
<h1>Let this device trust Gander’s computer</h1>
<p>Once, so that the screen stays awake at the heat, the microphone can listen, and Gander opens without a network. What you
install speaks for addresses inside the house only, never for a site elsewhere.</p>
<p><a class="do" href="/gander-house.crt">1. Get the house’s certificate</a></p>
<h2>iPhone and iPad</h2>
<ol>
  <li>Allow the download, then open Settings: “Profile Downloaded” stands near the top. Install it.</li>
  <li>Settings, General, About, Certificate Trust Settings: switch on “Gander in this house”.</li>
</ol>
<h2>Android</h2>
<ol>
  <li>Settings, Security, Encryption and credentials, Install a certificate, CA certificate. (The words differ a little from maker to maker; search the settings for “certificate”.)</li>
  <li>Choose the file gander-house.crt among the downloads.</li>
</ol>
<h2>Another computer</h2>
<p>Add the file to the authorities that its system or browser trusts, for websites.</p>
<h2>Then</h2>
<p><a class="do" href="${address}">2. Open Gander</a></p>
<p>${address} · or take this with the camera:</p>
<div class="code">${code}</div>
<p>To take it back, delete “Gander in this house” where it was installed.</p>
</html>
`;
}

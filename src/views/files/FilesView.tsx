import { Island } from '@/ui/Island';
import { Bin } from './Bin';
import { DoneLately } from './DoneLately';
import { Households } from './Households';
import { KeptHere } from './KeptHere';
import { ListeningSettings } from './ListeningSettings';
import { LoadFile } from './LoadFile';
import { LookingSettings } from './LookingSettings';
import { SaveFile } from './SaveFile';
import { SetAside } from './SetAside';
import { Settings } from './Settings';
import { UseAndMoney } from './UseAndMoney';

/** Files in and out, and how Gander speaks in this household. */
export function FilesView() {
  return (
    <Island>
      <h1 className="py-8 text-4xl">Your notebook lives on this device, and in the files you save.</h1>
      <KeptHere />
      <SetAside />
      <div className="grid gap-x-12 gap-y-10 lg:grid-cols-2">
        <SaveFile />
        <LoadFile />
        <Settings />
        <ListeningSettings />
        <LookingSettings />
        <UseAndMoney />
        <Households />
        <DoneLately />
        <Bin />
      </div>
      <p className="text-husk pt-10 text-[0.95rem]">
        Gander is free software.{' '}
        <a href="/licences.txt" className="text-ink inline-flex min-h-11 items-center underline underline-offset-4">
          Its licence, and those of what it is made with
        </a>
      </p>
    </Island>
  );
}

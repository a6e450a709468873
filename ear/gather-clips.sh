#!/bin/sh
# Gathers real noises to train against, into the folder named: only these files of these Debian packages, and speech made by
# espeak-ng. None of it is committed; training works without it, and hears less well.
set -eu
into=$(realpath -m "$1")
mkdir -p "$into"
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
cd "$work"
apt-get download -qq lincity-ng-data minetest-data crrcsim-data scratch flare-game madbomber-data hydrogen-drumkits
for package in *.deb; do dpkg -x "$package" all; done
for file in lincity-ng/sounds/Fire1.wav lincity-ng/sounds/Fire3.wav fire/sounds/fire_large.ogg crrcsim/sounds/fan.wav \
  Effects/WaterRunning.mp3 Effects/SewingMachine.mp3 Effects/Typing.mp3 environment/rain.ogg madbomber/sounds/can-shake.wav \
  Fingersnap-Med.wav; do
  find all -path "*/$file" -exec cp {} "$into/" \;
done
n=0
for voice in en-us en-gb de fr it nl es sv; do
  for pitch in 25 50 80; do
    n=$((n + 1))
    espeak-ng -v "$voice+m$((n % 7 + 1))" -p "$pitch" -s $((130 + n * 4)) -w "$into/speech-$n.wav" \
      "Put the kettle on, please, and take the tray out before it drips. Two cups or three? The tin stands by the window; cut the bread."
  done
done
ls "$into" | wc -l

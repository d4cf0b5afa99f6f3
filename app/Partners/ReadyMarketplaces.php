<?php

declare(strict_types=1);

namespace App\Partners;

use PaperKite\Text\FormInput;

/** Marketplaces that ship as data files: a seller adds those of a partner with one act and their own ID. */
final readonly class ReadyMarketplaces
{
    /**
     * @param  string  $folder  of the data files
     * @param  int|null  $standinPort  where the made-up marketplaces answer; `null` where no stand-ins run, and those are not there
     */
    public function __construct(
        private string $folder,
        private ?int $standinPort,
    ) {}

    /** @return array<string, ReadyPartner> by the name of the file, in its order */
    public function all(): array
    {
        $found = [];
        foreach (glob("{$this->folder}/*.json") ?: [] as $file) {
            $data = FormInput::of(json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR));
            if (! $data->isOn('needs_standins') || $this->standinPort !== null) {
                $found[basename($file, '.json')] = new ReadyPartner($data->text('partner'), $data->items('marketplaces'), $data->isOn('needs_standins') ? $this->standinPort : null);
            }
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Finding\Kind;
use App\Finding\WriteWords;
use App\Models\Shop;
use Illuminate\Console\Command;

/** What came into the tables otherwise than by its form has no words yet: before an upgrade, by an import, in the demo. */
final class SearchWrite extends Command
{
    private const AT_ONCE = 200;

    protected $signature = 'search:write';

    protected $description = 'Writes down the words of what can’t be found yet';

    public function handle(WriteWords $write): int
    {
        foreach (Shop::query()->get() as $shop) {
            foreach (Kind::cases() as $kind) {
                for ($after = 0; ($ids = $write->missing($kind, $shop, self::AT_ONCE, $after)) !== []; $after = max($ids)) {
                    $write->of($kind, $shop, $ids);
                }
            }
        }

        return self::SUCCESS;
    }
}

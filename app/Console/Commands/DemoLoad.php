<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\MosslightApiary;
use App\Demo\WidgetPages;
use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\OfferSnippets;
use App\Time\Clock;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class DemoLoad extends Command
{
    protected $signature = 'demo:load';

    protected $description = 'Loads the demo, Mosslight Apiary, unless it is there';

    public function __construct(
        private readonly ReadLooks $looks,
        private readonly Clock $clock,
    ) {
        parent::__construct();
    }

    public function handle(MosslightApiary $demo, WidgetPages $widgets): int
    {
        $password = config('kite.demo.password');
        if (app()->isProduction() || ! is_string($password)) {
            $this->error('The demo is not for production; it loads where APP_ENV is not “production” and KITE_DEMO_PASSWORD is set.');

            return self::FAILURE;
        }
        if (Shop::query()->where('slug', MosslightApiary::SLUG)->doesntExist()) {
            DB::transaction(fn () => $demo->load($password));
            $this->info('The demo is loaded.');
        }
        $this->writeButton();
        $widgets->write();

        $this->callSilently('search:write');

        return self::SUCCESS;
    }

    /** The stand-in blog carries the demo's button as its author once pasted it. */
    private function writeButton(): void
    {
        $file = config('kite.demo.button_file');
        $placement = Placement::query()->where('code', MosslightApiary::blogCode()->text)->with(['shop', ...array_map(static fn (string $relation): string => "offer.{$relation}", Offer::TOLD_WITH)])->first();
        if (is_string($file) && $placement !== null) {
            file_put_contents($file, OfferSnippets::of($placement->offer, $placement->shop, ($this->looks)($placement->shop), $this->clock->moment())->snippet($placement));
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\GrownShop;
use App\Demo\MosslightApiary;
use App\Models\Shop;
use Illuminate\Console\Command;

final class DemoGrow extends Command
{
    protected $signature = 'demo:grow {--products=10000} {--orders=50000} {--offers=5000}';

    protected $description = 'Makes the demo as large as a large shop, to see how its lists bear it';

    public function handle(GrownShop $grown): int
    {
        if (app()->isProduction()) {
            $this->error('The demo is not for production.');

            return self::FAILURE;
        }
        $shop = Shop::query()->where('slug', MosslightApiary::SLUG)->firstOrFail();
        $grown->products($shop, (int) $this->option('products'));
        $grown->orders($shop, (int) $this->option('orders'));
        $grown->offers($shop, (int) $this->option('offers'));
        $this->info('The demo has grown.');

        $this->callSilently('search:write');
        $this->callSilently('search:common');
        $this->callSilently('search:fold');
        $this->callSilently('states:add-up');

        return self::SUCCESS;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Embed\WidgetClick;
use OpenApi\Attributes as OA;
use PaperKite\Download\SampleKind;
use PaperKite\Medium\WidgetForm;
use PaperKite\Shopfront\ShelfDensity;

/** What is true of the interface that pages of other sites ask. */
#[OA\OpenApi(openapi: '3.1.0')]
#[OA\Info(version: '1', title: 'Paper Kite widgets', license: new OA\License(name: 'Proprietary', identifier: 'LicenseRef-Proprietary'), description: 'Between the widgets on anybody’s page and the shop that they belong to. Public, the same for everybody; no cookie is read or set.')]
#[OA\Server(url: '/embed')]
#[OA\Components(schemas: [
    new OA\Schema(schema: 'SampleKind', type: 'string', enum: SampleKind::class),
    new OA\Schema(schema: 'WidgetForm', type: 'string', enum: WidgetForm::class),
    new OA\Schema(schema: 'ShelfDensity', type: 'string', enum: ShelfDensity::class),
    new OA\Schema(schema: 'WidgetClick', type: 'string', enum: WidgetClick::class),
])]
final class Api {}

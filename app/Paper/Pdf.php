<?php

declare(strict_types=1);

namespace App\Paper;

use App\Site\DerivedCache;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;

/** A sheet of its own template as PDF; nothing is fetched for it from anywhere. What says the same is made once, and kept. */
final class Pdf
{
    public static function of(View $view, Paper $paper, string $name): Response
    {
        $html = $view->render();
        $bytes = Cache::remember(DerivedCache::PREFIX.'pdf.'.hash('xxh128', "{$paper->value} {$html}"), now()->addMonth(), fn () => self::made($html, $paper));

        return new Response($bytes, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"{$name}.pdf\""]);
    }

    private static function made(string $html, Paper $paper): string
    {
        $options = new Options;
        $folder = config('aequus.data').'/cache';
        $options->setFontDir($folder)->setFontCache($folder)->setTempDir(sys_get_temp_dir())->setChroot(base_path())->setDefaultFont('DejaVu Sans')->setIsRemoteEnabled(false)->setIsPhpEnabled(false);
        $pdf = new Dompdf($options);
        $pdf->setPaper($paper->value);
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}

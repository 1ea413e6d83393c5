<?php

declare(strict_types=1);

namespace App\Paper;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** A sheet of its own template as PDF; nothing is fetched for it from anywhere. */
final class Pdf
{
    public static function of(View $view, Paper $paper, string $name): Response
    {
        $options = new Options;
        $folder = config('aequus.data').'/cache';
        $options->setFontDir($folder)->setFontCache($folder)->setTempDir(sys_get_temp_dir())->setChroot(base_path())->setDefaultFont('DejaVu Sans')->setIsRemoteEnabled(false)->setIsPhpEnabled(false);
        $pdf = new Dompdf($options);
        $pdf->setPaper($paper->value);
        $pdf->loadHtml($view->render(), 'UTF-8');
        $pdf->render();

        return response(
            (string) $pdf->output(), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"{$name}.pdf\""],
        );
    }
}

<?php

declare(strict_types=1);

/** What a request that changes something shows, from the cookie that the last answer gave. */
function token_of(CurlHandle $curl): string
{
    $token = '';
    foreach (curl_getinfo($curl, CURLINFO_COOKIELIST) as $cookie) {
        $parts = explode("\t", $cookie);
        $token = $parts[5] === 'XSRF-TOKEN' ? urldecode($parts[6]) : $token;
    }

    return $token;
}

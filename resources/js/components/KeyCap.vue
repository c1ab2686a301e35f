<template>
  <kbd
    class="inline-block max-tall:hidden min-w-[26px] rounded-[5px] border-[1.5px] border-b-[3px] border-line-2 bg-paper px-[7px] pt-px text-center font-sans text-note leading-[22px] font-semibold whitespace-nowrap text-ink group-[.btn-main]:border-on-ink/45 group-[.btn-main]:bg-transparent group-[.btn-main]:text-on-ink"
    ><slot
  /></kbd>
</template>

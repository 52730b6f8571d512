/// <reference types="vite/client" />
declare module '@fontsource/*'
declare module '@fontsource-variable/*'

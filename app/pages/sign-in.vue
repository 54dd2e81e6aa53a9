<template><div>sign in</div></template>

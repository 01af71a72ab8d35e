console.log('studio');
